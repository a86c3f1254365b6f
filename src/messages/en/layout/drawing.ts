export const cornersTexts = {
  cornerAtXMmMmFromTheLeftYMmMm: (at: number, xMm: number, yMm: number) =>
    `Corner ${at}, ${xMm} mm from the left, ${yMm} mm from the back`,
};

export const marksTexts = {
  nameWidthMmByLengthMmMm: (name: string, widthMm: number, lengthMm: number) => `${name}: ${widthMm} by ${lengthMm} mm`,
  nameXMmMmFromTheLeftYMmMmFromThe: (name: string, xMm: number, yMm: number) =>
    `${name}, ${xMm} mm from the left, ${yMm} mm from the back`,
  nameCutMmMmCutLength: (name: string, cutMm: number) => `${name}, ${cutMm} mm cut length`,
};

export const panelTexts = {
  xMmMmFromTheLeftYMmMmFromTheBack: (xMm: number, yMm: number) => `${xMm} mm from the left, ${yMm} mm from the back`,
  litLit: (lit: number) => `${lit} % lit`,
  hasAConflict: ", has a conflict",
};

export const paperTexts = {
  front: "front",
};

export const sunTexts = {
  sunDragItOrUseTheArrowKeys: "Sun: drag it, or use the arrow keys",
};

export const thingTexts = {
  at: (name: string, heightMm: number, xMm: number, yMm: number, planned: boolean) =>
    `${name}, ${heightMm} mm high, ${xMm} mm from the left, ${yMm} mm from the back${planned ? ", planned for later" : ""}`,
};
