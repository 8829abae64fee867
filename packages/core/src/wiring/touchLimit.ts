/**
 * DC voltage up to which touch counts as extra-low, V. Above it: insulated tools, insulation watch, qualified person.
 * Source: IEC 61140, IEC 60364-4-41 (60 V DC); recreational-boat practice changes its rules at 50 or 60 V.
 */
export const TOUCH_LIMIT = 60

/**
 * DC voltage above which what guards people and contacts is no longer good practice but a condition: insulation watch,
 * precharge, emergency stop (common practice: twice the touch limit).
 */
export const GUARDED_ABOVE = 120
