export const meterFaceTexts = {
  hand: (low: string, high: string, measured: string | null, where: "within" | "below" | "above") =>
    measured === null
      ? `Expected ${low} to ${high}`
      : `Expected ${low} to ${high}; measured ${measured}, ${where} the expected range`,
  noExpectedValueDataIsMissing: "No expected value: data is missing.",
  expectedLowToHigh: (low: string, high: string) => `expected ${low} to ${high}`,
};
