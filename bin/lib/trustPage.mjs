const escaped = (text) => text.replace(/[&<>"]/g, (one) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[one]);

/** The one page that a phone sees before it trusts this workshop: four steps, no script, nothing of any build. */
export const trustPage = ({ address, name, port }) => `<!doctype html>
<html lang="en">
<meta charset="utf-8" />
<meta name="viewport" content="width=device-width, initial-scale=1" />
<title>Lorbet on this phone</title>
<style>
  body { font: 1.15rem/1.45 sans-serif; max-width: 34rem; margin: 0 auto; padding: 1.2rem; color: #14262b; background: #e8ebe6; }
  li { margin: 0 0 1.1rem; }
  a { color: inherit; }
  .key { display: block; padding: 1rem; text-align: center; background: #14262b; color: #fff; text-decoration: none; font-weight: 700; border-radius: 3px; }
</style>
<h1>Lorbet on this phone</h1>
<p>A phone gives camera, microphone and level only to a page that it trusts. Four steps, once for each phone:</p>
<ol>
  <li><a class="key" href="/root.crt">Fetch this workshop’s certificate</a></li>
  <li>Open it. Where the phone asks what it is for, choose websites (an authority, or CA), and confirm with the phone’s own code. Some phones want it under Settings: “certificate”, then “install a CA certificate”.</li>
  <li>Some phones ask once more before they trust an authority: Settings, “certificate trust”, and switch this workshop’s on.</li>
  <li><a class="key" href="${escaped(address)}">Open Lorbet</a></li>
</ol>
<p>The certificate is good for the pages of this machine alone${name ? ` (${escaped(address)}, or https://${escaped(name)}:${port})` : ''}, as long as nobody else has its key: take it off a phone that is sold or lent. Only do this in your own workshop’s network.</p>
</html>
`;
