/** Who owns the studio that is checked. */
export const OWNER = {
  name: 'Ada Fender',
  email: 'ada.fender@canalside.example',
  password: 'a long towrope',
};

/** The cookies of who signs in. */
export async function signedIn(address, email, password) {
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ email, password }),
  });
  return answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
}
