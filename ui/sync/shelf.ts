/** Short texts under keys that outlive the page; keys are found in their own order. */
export interface Shelf {
  keys: (prefix: string) => string[];
  get: (key: string) => string | null;
  /** @returns whether there was room for it */
  put: (key: string, text: string) => boolean;
  remove: (key: string) => void;
}

/** The browser's own, shared by all tabs; what it refuses lives as long as the page. */
export const deviceShelf: Shelf = {
  keys: (prefix) => {
    try {
      return Object.keys(localStorage)
        .filter((key) => key.startsWith(prefix))
        .sort();
    } catch {
      return [];
    }
  },
  get: (key) => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  put: (key, text) => {
    try {
      localStorage.setItem(key, text);
      return true;
    } catch {
      return false;
    }
  },
  remove: (key) => {
    try {
      localStorage.removeItem(key);
    } catch {
      // A forbidden shelf held nothing.
    }
  },
};
