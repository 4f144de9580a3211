import type { QueryInterface } from 'sequelize';

/** What learners did on the trainer, added to and never changed; and cases that a workshop wrote itself. */
export const training = {
  name: '0011-training',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE TABLE IF NOT EXISTS training (
        id uuid PRIMARY KEY,
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        person_id uuid NOT NULL REFERENCES people (id),
        at timestamptz NOT NULL,
        record jsonb NOT NULL,
        acts jsonb NOT NULL
      );
      CREATE INDEX IF NOT EXISTS training_of_person ON training (person_id, at DESC);
      CREATE INDEX IF NOT EXISTS training_of_workshop ON training (workshop_id, at DESC);
      CREATE TABLE IF NOT EXISTS trainer_cases (
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        id varchar(60) NOT NULL,
        document jsonb NOT NULL,
        by_name varchar(80) NOT NULL,
        at timestamptz NOT NULL,
        PRIMARY KEY (workshop_id, id)
      );
    `);
  },
};
