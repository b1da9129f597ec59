/** Common passwords of ten characters or more: words, keyboard rows, and trade terms. */
const COMMON = `
password12 password123 password1234 password12345 passwordpassword mypassword mypassword1 thepassword changeme123
changemenow letmein123 letmeinnow letmeinplease welcome123 welcome1234 welcomehome welcome2024 welcome2025 welcome2026
qwertyuiop qwertyuiop1 qwertyuiop123 qwerty12345 qwerty123456 1q2w3e4r5t 1q2w3e4r5t6y 1qaz2wsx3edc qazwsxedcrfv
asdfghjkl1 asdfghjkl123 zxcvbnm123 zxcvbnmasd 0987654321 9876543210 1122334455 1212121212 1231231234 1234512345
123456789a a123456789 abc1234567 abcd123456 abcdef1234 abc123abc123 123123123123 123456123456 111222333444
iloveyou12 iloveyou123 iloveyou1234 iloveyousomuch iloveyou2025 princess123 princess1234 sunshine123 sunshine1234
football123 football1234 baseball123 baseball1234 basketball basketball1 superman123 batman12345 dragon12345
monkey12345 master12345 michael123 jennifer123 jordan12345 liverpool123 chocolate123 butterfly123 computer123
internet123 samsung123 whatever123 trustno1trustno1 administrator administrator1 admin12345 admin123456 root123456
test123456 test1234567 testtest123 guest12345 default123 temporary1 temporary123 temppassword newpassword
newpassword1 newpassword123 secret12345 secretsecret mysecret123 november2024 november2025 november2026 december2024
december2025 december2026 january2025 january2026 february2025 february2026 september2025 october2025 october2026
summer2024! summer2025! winter2024! winter2025! spring2025! autumn2025! summer12345 winter12345 heatpump123
heatpumps1 heatpumpheatpump thermostat thermostat1 thermostat123 technician technician1 technician123 hvachvachvac
hvac123456 hvactech123 airconditioner airconditioning refrigerant refrigerant1 furnace123 compressor compressor1
compressor123 gatecross1 gatecross12 gatecross123 gatecrossgatecross
`;

export const COMMON_PASSWORDS: ReadonlySet<string> = new Set(COMMON.split(/\s+/).filter(Boolean));
