import Connection from 'better-sqlite3';

// Does its work, says so in the transaction of it, and breaks off before anybody hears.
export default function doneThenBroken({ databaseFile, job }) {
  const connection = new Connection(databaseFile);
  connection.prepare(`UPDATE job SET state = 'done', result = '"all of it"' WHERE id = ?`).run(job);
  connection.close();
  throw new Error('broken off');
}
