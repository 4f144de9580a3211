/** What every answer bears, whoever gives it: Next, or the server itself for shells and files. */
export const safeHeaders = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'same-origin' },
  {
    key: 'Permissions-Policy',
    value: 'camera=(self), microphone=(self), accelerometer=(self), gyroscope=(self), magnetometer=(self), geolocation=()',
  },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
  // Without HTTPS a browser pays no heed to this one.
  { key: 'Strict-Transport-Security', value: 'max-age=31536000' },
];

/** What a page may do: run our own scripts and those that `scripts` allows, and nothing else. */
export const pagePolicy = (scripts) =>
  [
    "default-src 'self'",
    `script-src 'self' ${scripts.join(' ')}`,
    // React and the drawings set sizes and colours by style attributes; those can't run anything.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
