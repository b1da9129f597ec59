/** Characters that XML 1.0 does not allow, not even escaped. Source: XML 1.0, fifth edition, production 2 (Char). */
const NO_XML = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]|\p{Surrogate}/gu;

/** Text for an XML file, without characters that XML does not allow. */
export const xmlText = (text: string): string => text.replace(NO_XML, '');
