import pg from 'pg';

/** Runs work as the owner of the tables inside one firm. */
export async function ofFirm<T>(admin: pg.Pool, firmId: string, work: (tx: pg.PoolClient) => Promise<T>): Promise<T> {
  const connection = await admin.connect();
  try {
    await connection.query('begin');
    await connection.query("select set_config('app.firm_id', $1, true)", [firmId]);
    const answer = await work(connection);
    await connection.query('commit');
    return answer;
  } catch (error) {
    await connection.query('rollback');
    throw error;
  } finally {
    connection.release();
  }
}
