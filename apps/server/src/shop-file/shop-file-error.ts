/** Why a file is not taken, in one line. */
export class ShopFileError extends Error {}
