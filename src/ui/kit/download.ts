/** Downloads a file. */
export const download = (name: string, content: Blob): void => {
  const address = URL.createObjectURL(content);
  const link = Object.assign(document.createElement('a'), { href: address, download: name });
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 1000);
};
