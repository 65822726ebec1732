/** Results that take time, worked out once and kept while they are in use: the oldest goes first, and what failed is not kept. */
export class Kept<K, V> {
  private readonly values = new Map<K, Promise<V>>();

  constructor(private readonly most: number) {}

  get(key: K, make: () => Promise<V>): Promise<V> {
    let value = this.values.get(key);
    if (!value) {
      this.values.set(key, (value = make()));
      value.catch(() => this.values.delete(key));
      if (this.values.size > this.most) this.values.delete(this.values.keys().next().value!);
    }
    return value;
  }
}
