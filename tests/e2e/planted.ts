/** Begins a script that a test puts into a page for the policy to stop. */
export const PLANTED = "/* planted */";
