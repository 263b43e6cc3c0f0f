/** A binary heap of numbers that stand for something, lowest priority first; grows as it must. */
export class Heap {
  private priorities = new Float64Array(1024);
  private items = new Int32Array(1024);
  size = 0;

  push(priority: number, item: number): void {
    if (this.size === this.items.length) this.grow();
    let at = this.size++;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if (this.at(parent) <= priority) break;
      this.priorities[at] = this.at(parent);
      this.items[at] = this.items[parent] ?? 0;
      at = parent;
    }
    this.priorities[at] = priority;
    this.items[at] = item;
  }

  /** The lowest priority of all; infinite when nothing is left. */
  get lowest(): number {
    return this.size === 0 ? Number.POSITIVE_INFINITY : this.at(0);
  }

  /** Takes out the item of lowest priority. @throws RangeError nothing is left */
  pop(): number {
    if (this.size === 0) throw new RangeError('Heap: empty');
    const top = this.items[0] ?? 0;
    const last = --this.size;
    const priority = this.at(last);
    const item = this.items[last] ?? 0;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= last) break;
      if (child + 1 < last && this.at(child + 1) < this.at(child)) child++;
      if (this.at(child) >= priority) break;
      this.priorities[at] = this.at(child);
      this.items[at] = this.items[child] ?? 0;
      at = child;
    }
    this.priorities[at] = priority;
    this.items[at] = item;
    return top;
  }

  private at(index: number): number {
    return this.priorities[index] ?? Number.POSITIVE_INFINITY;
  }

  private grow(): void {
    const [priorities, items] = [new Float64Array(2 * this.items.length), new Int32Array(2 * this.items.length)];
    priorities.set(this.priorities);
    items.set(this.items);
    this.priorities = priorities;
    this.items = items;
  }
}
