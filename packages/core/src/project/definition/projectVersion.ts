/** Version of the document that this code writes. */
export const PROJECT_VERSION = 13
