/** A probabilistic programming language, which ships no types; for tests. */
declare module 'webppl' {
  const webppl: {
    /** Runs a program, which sees what is global; what it comes to is handed over. */
    run(code: string, done: (store: object, value: unknown) => void): void;
  };
  export = webppl;
}
