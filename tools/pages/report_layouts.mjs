export const report = {};
