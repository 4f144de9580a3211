/** A line of the record of sign-ins and of what was done to people. */
export interface SignInRecord {
  at: string;
  login: string;
  event: string;
  by: string;
  address: string;
  agent: string;
}
