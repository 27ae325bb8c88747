/** A bare number gets the field's unit. */
export const withDefault = (typed: string, unit: string) =>
  /[a-z°]$/i.test(typed.trim()) ? typed.trim() : `${typed.trim()} ${unit}`;

/** A bare number gets the instrument's unit; a fraction read off a ruler is inches. */
export function withUnit(typed: string, unit: string) {
  const text = typed.trim();
  if (/[a-z°%"″]$/i.test(text)) return text;
  return `${text} ${unit === 'mm' && /[/½¼¾⅛⅜⅝⅞]/.test(text) ? 'in' : unit}`;
}
