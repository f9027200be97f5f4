/** The most bytes that the picture of a logo has, as it comes. */
export const LOGO_BYTES = 200_000;
