// What stands on these screens, screen by screen.

export const help = 'Help';
