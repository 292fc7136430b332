/**
 * The text of a field whose value is also kept elsewhere, in the address of the page. What is typed belongs to the field: the
 * values it asked for come back later, one by one, and must not put old text in place of new. A value nobody here asked for, from
 * a link, the back button or *Clear*, is taken over.
 */
export class OwnText {
  private underWay: string[] = [];
  private hear: () => void = () => undefined;

  /**
   * @param text what the field shows
   * @param asValue the value a text stands for, as it will come back
   */
  constructor(
    public text: string,
    private readonly asValue: (text: string) => string = (text) => text,
  ) {}

  /** Has the one field that shows this text told of every change; for `useSyncExternalStore`. */
  readonly subscribe = (hear: () => void): (() => void) => {
    this.hear = hear;
    return () => (this.hear = () => undefined);
  };

  /** The person typed; nothing is asked for yet. */
  type(text: string): void {
    this.text = text;
    this.hear();
  }

  /** The text is asked for. */
  ask(): void {
    this.underWay.push(this.asValue(this.text));
  }

  /** The value is this now. Tells whether the field shows another text because of it. */
  arrive(value: string): boolean {
    const at = this.underWay.indexOf(value);
    this.underWay = at < 0 ? [] : this.underWay.slice(at + 1);
    if (at >= 0 || value === this.asValue(this.text)) return false;
    this.type(value);
    return true;
  }

  /** The field was left long ago: what has not come back by now was overtaken, and would be a stranger. */
  settle(): void {
    this.underWay = [];
  }
}
