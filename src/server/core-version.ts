/**
 * The version of core that this build was made of: a fingerprint of its sources. What it calculated and was kept is
 * calculated again when it differs. A script that was not built has none of its own.
 */
export const coreVersion = (): string => process.env.CORE_VERSION || 'unbuilt';
