import type { SettingMark } from '../../job/setting-marks';

interface RenamedEntry {
  /** Key of the entry that replaced it. */
  readonly entry: string;
  /** New value codes by old ones; a value that is not listed keeps its code. */
  readonly values?: Readonly<Record<string, string>>;
}

/** Entries of shipped profiles whose codes changed in December 2026, by profile id and old entry key. */
const RENAMED: Readonly<Record<string, Readonly<Record<string, RenamedEntry>>>> = {
  'quillwort-menu': {
    'this/11': { entry: 'this/E1', values: { '0': 'a', '1': 'b', '2': 'c', '3': 'd', '4': 'e' } },
    'this/12': { entry: 'this/E2', values: { '0': 'a', '1': 'b' } },
    'this/13': { entry: 'this/B1', values: { '0': 'a', '1': 'b', '2': 'c' } },
    'this/14': { entry: 'this/B2', values: { '0': 'a', '1': 'b' } },
    'this/15': { entry: 'this/B4', values: { '0': 'a', '1': 'b' } },
    'this/16': { entry: 'this/B3', values: { '0': 'a', '1': 'b', '2': 'c' } },
    'this/17': { entry: 'this/E4', values: { '0': 'a', '1': 'b', '2': 'c', '3': 'd' } },
    'this/18': { entry: 'this/B9', values: { '0': 'a', '1': 'b' } },
    'this/21': { entry: 'this/O1', values: { '0': 'a', '1': 'b', '2': 'c', '3': 'd' } },
    'this/22': { entry: 'this/O3', values: { OFF: 'none' } },
    'this/23': { entry: 'this/B8', values: { OFF: 'none' } },
    'this/24': { entry: 'this/O2', values: { '0': 'a', '1': 'b', '2': 'c' } },
    'this/31': { entry: 'this/B5', values: { TIME: 'time' } },
    'this/32': { entry: 'this/B6', values: { OFF: 'none' } },
    'this/33': { entry: 'this/T1' },
    'this/34': { entry: 'this/B7' },
    'this/35': { entry: 'this/T2' },
    'this/36': { entry: 'this/T6', values: { '0': 'a', '1': 'b' } },
    'this/37': { entry: 'this/T7', values: { '1': 'a', '2': 'b', '3': 'c' } },
    'this/38': { entry: 'this/E3' },
    'this/39': { entry: 'this/T3' },
    'this/40': { entry: 'this/T4' },
    'this/41': { entry: 'this/R3', values: { '0': 'a', '1': 'b' } },
    'this/42': { entry: 'this/R4' },
    'this/43': { entry: 'this/R5', values: { OFF: 'none' } },
    'this/44': { entry: 'this/R6', values: { OFF: 'none' } },
    'this/45': { entry: 'this/R2' },
    'this/46': { entry: 'this/R7', values: { OFF: 'none' } },
    'this/47': { entry: 'this/R8', values: { OFF: 'none' } },
    'this/48': { entry: 'this/T5' },
    'this/51': { entry: 'this/H4', values: { F: 'a', C: 'b' } },
    'this/52': { entry: 'this/H5', values: { '12': 'a', '24': 'b' } },
    'this/53': { entry: 'this/H1', values: { '0': 'a', '2': 'b', '4': 'c' } },
    'this/54': { entry: 'this/H2' },
    'this/55': { entry: 'this/C2', values: { OFF: 'none' } },
    'this/56': { entry: 'this/C3', values: { OFF: 'none' } },
    'this/57': { entry: 'this/H3', values: { '0': 'a', '1': 'b' } },
    'this/58': { entry: 'this/R1', values: { '0': 'a', '1': 'b', '2': 'c' } },
    'this/62': { entry: 'this/H6', values: { '0': 'a', '1': 'b' } },
    'this/71': { entry: 'this/C1', values: { '0': 'a', '1': 'b' } },
    'this/74': { entry: 'this/C4', values: { OFF: 'none' } },
    'this/75': { entry: 'this/C5', values: { OFF: 'none' } },
    'this/91': { entry: 'this/H7', values: { '0': 'a', '1': 'b', '2': 'c' } },
  },
  'toadflax-indoor': {
    'unit/A-01': { entry: 'unit/CTRL', values: { '1': 'BUS', '2': '24V' } },
    'unit/A-04': {
      entry: 'unit/KIT',
      values: { '0': '0.0', '1': '4.8', '2': '7.2', '3': '9.6', '4': '14.4', '5': '19.2' },
    },
    'unit/A-05': { entry: 'unit/DUCT' },
    'unit/A-06': { entry: 'unit/AIR-H' },
    'unit/A-07': { entry: 'unit/AIR-K' },
    'unit/A-08': { entry: 'unit/AIR-C' },
    'unit/A-09': { entry: 'unit/WARM', values: { '1': 'YES', '2': 'NO' } },
    'unit/A-10': { entry: 'unit/DEF-B', values: { '1': 'RUN', '2': 'STOP' } },
    'unit/A-11': { entry: 'unit/IDLE', values: { '1': 'STOP', '2': 'SLOW', '3': 'FULL' } },
    'unit/A-12': { entry: 'unit/OFF-H' },
    'unit/A-13': { entry: 'unit/OFF-C' },
    'group/B-02': { entry: 'group/FAULT', values: { '1': 'OFF', '2': 'ON' } },
    'group/B-03': { entry: 'group/BY', values: { '1': 'STAT', '2': 'SWCH', '3': 'OUTD' } },
    'group/B-05': { entry: 'group/ON-AT' },
    'group/B-06': { entry: 'group/OFF-AT' },
    'group/B-07': { entry: 'group/DEF-K', values: { '1': 'NO', '2': 'YES' } },
    'group/B-08': { entry: 'group/WAIT' },
  },
};

/**
 * Marks under the current entry codes. Marks made before a shipped profile changed its codes count for the entry that
 * replaced theirs; stored marks and printed records keep the code that the technician saw.
 */
export const marksByCurrentCodes = (marks: readonly SettingMark[]): readonly SettingMark[] =>
  marks.map((mark) => {
    const renamed = RENAMED[mark.profile]?.[mark.entry];
    if (!renamed) return mark;
    const { entry, values } = renamed;
    return { ...mark, entry, code: entry.slice(entry.indexOf('/') + 1), value: values?.[mark.value] ?? mark.value };
  });
