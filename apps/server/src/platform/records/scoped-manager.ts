import type { RecordKind } from '@wiry-otter/contracts';
import type {
  EntityManager,
  EntitySchema,
  FindOptionsOrder,
  FindOptionsWhere,
  ObjectLiteral,
} from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { refuse } from '../problems/refusal.js';
import { namedQuery } from '../database/named-query.js';
import type { RecordKeeper } from './record-keeper.js';
import type { Scope } from '../access/scope.js';

type OfStudio = ObjectLiteral & { studioId: string };
type Where<Row> = FindOptionsWhere<Row>;

/**
 * The tables as one trainer's request sees them: every query carries the studio. What a request
 * writes goes through `transaction`, which writes the records of all that was touched with it.
 */
export class ScopedManager {
  private readonly touched = new Map<RecordKind, Set<string>>();

  constructor(
    private readonly manager: EntityManager,
    private readonly keeper: RecordKeeper,
    readonly scope: Scope,
  ) {}

  /** All or nothing, records included. Inside another it is part of that one. */
  async transaction<Answer>(work: (inside: ScopedManager) => Promise<Answer>): Promise<Answer> {
    if (this.manager.queryRunner?.isTransactionActive === true) return work(this);
    return this.manager.transaction(async (manager) => {
      const inside = new ScopedManager(manager, this.keeper, this.scope);
      const answer = await work(inside);
      await inside.writeTouched();
      return answer;
    });
  }

  /** The same tables at another moment, or for another trainer of the studio. */
  as(scope: Scope): ScopedManager {
    const other = new ScopedManager(this.manager, this.keeper, scope);
    // One transaction has one list of what it touched.
    Object.assign(other, { touched: this.touched });
    return other;
  }

  /** Says that these records are to be written anew before the transaction ends. */
  touch(kind: RecordKind, ...ids: readonly string[]): void {
    const known = this.touched.get(kind) ?? new Set();
    this.touched.set(kind, known);
    for (const id of ids) known.add(id);
  }

  /** Writes the records of what was touched so far. */
  async writeTouched(): Promise<void> {
    const touched = [...this.touched].map(([kind, ids]) => ({ kind, ids: [...ids] }));
    this.touched.clear();
    for (const { ids, kind } of touched) await this.keeper.write(this, kind, ids);
  }

  find<Row extends OfStudio>(
    entity: EntitySchema<Row>,
    where: Where<Row> | readonly Where<Row>[],
    { order, take }: { order?: FindOptionsOrder<Row>; take?: number } = {},
  ): Promise<Row[]> {
    const wanted = Array.isArray(where) ? (where as readonly Where<Row>[]) : [where as Where<Row>];
    if (wanted.length === 0) return Promise.resolve([]);
    return this.manager.find(entity, {
      where: wanted.map((one) => this.owned(one)),
      ...(order === undefined ? {} : { order }),
      ...(take === undefined ? {} : { take }),
    });
  }

  /** The first row, or none. */
  async findFirst<Row extends OfStudio>(
    entity: EntitySchema<Row>,
    where: Where<Row>,
    order?: FindOptionsOrder<Row>,
  ): Promise<Row | undefined> {
    const [row] = await this.find(entity, where, { ...(order && { order }), take: 1 });
    return row;
  }

  /** One row of the studio, or a refusal that does not tell another studio's from none. */
  async findOwn<Row extends OfStudio>(entity: EntitySchema<Row>, where: Where<Row>): Promise<Row> {
    return (await this.findFirst(entity, where)) ?? refuse('not-found');
  }

  /**
   * Locks this id for a write, whether there is such a row or not: of two that create it at once the
   * second finds the first one's. A refusal when it is another studio's, since its id is taken but
   * not theirs to know.
   */
  async lock<Row extends OfStudio>(
    entity: EntitySchema<Row>,
    id: string,
  ): Promise<Row | undefined> {
    await this.lockId(id);
    const row = await this.manager.findOne(entity, {
      where: { id } as unknown as Where<Row>,
      lock: { mode: 'pessimistic_write' },
    });
    if (row === null) return undefined;
    return row.studioId === this.scope.studioId ? row : refuse('not-found');
  }

  /** Whether nothing of any studio has this id: then it can be given to something that brings it along. */
  async isFree<Row extends OfStudio & { id: string }>(
    entity: EntitySchema<Row>,
    id: string,
  ): Promise<boolean> {
    return !(await this.manager.existsBy(entity, { id } as unknown as Where<Row>));
  }

  /** Two transactions that write under the same id come one after the other. */
  async lockId(id: string): Promise<void> {
    await this.query('lock-id', 'SELECT pg_advisory_xact_lock(hashtextextended($2, 0)), $1::uuid', [
      id,
    ]);
  }

  async insert<Row extends OfStudio>(
    entity: EntitySchema<Row>,
    ...rows: readonly Omit<Row, 'studioId'>[]
  ): Promise<void> {
    if (rows.length === 0) return;
    const { studioId } = this.scope;
    const owned = rows.map((row) => ({ ...row, studioId }));
    await this.manager.insert(entity, owned as unknown as QueryDeepPartialEntity<Row>[]);
  }

  /** Inserts the row, or overwrites the one of the same primary key. */
  async put<Row extends OfStudio>(
    entity: EntitySchema<Row>,
    row: Omit<Row, 'studioId'>,
  ): Promise<void> {
    const owned = { ...row, studioId: this.scope.studioId };
    const { primaryColumns } = this.manager.connection.getMetadata(entity);
    await this.manager.upsert(
      entity,
      owned as unknown as QueryDeepPartialEntity<Row>,
      primaryColumns.map(({ propertyName }) => propertyName),
    );
  }

  async update<Row extends OfStudio>(
    entity: EntitySchema<Row>,
    where: Where<Row>,
    changes: Partial<Row>,
  ): Promise<void> {
    if (Object.keys(changes).length === 0) return;
    await this.manager.update(entity, this.owned(where), changes);
  }

  async delete<Row extends OfStudio>(entity: EntitySchema<Row>, where: Where<Row>): Promise<void> {
    await this.manager.delete(entity, this.owned(where));
  }

  /** A statement that PostgreSQL plans once; `$1` is the studio, the values count from `$2`. */
  query<Row>(name: string, text: string, values: readonly unknown[] = []): Promise<Row[]> {
    return namedQuery<Row>(this.manager, { name, text, values: [this.scope.studioId, ...values] });
  }

  private owned<Row extends OfStudio>(where: Where<Row>): Where<Row> {
    return { ...where, studioId: this.scope.studioId };
  }
}
