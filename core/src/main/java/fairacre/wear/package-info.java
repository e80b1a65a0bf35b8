/**
 * What wears out: how old frames, fences, sheets, hoses and wood chip are against how long they last, what to look at
 * this spring, and what the years ahead cost and how much work they make.
 */
package fairacre.wear;
