// Integration tests run by name: the first of them needs a database in which nobody is known yet.
const Sequencer = require('@jest/test-sequencer').default;
module.exports = class InOrder extends Sequencer {
  sort(tests) {
    return [...tests].sort((a, b) => (a.path < b.path ? -1 : 1));
  }
};
