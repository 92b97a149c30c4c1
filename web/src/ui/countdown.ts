/** Time that is left by the server's clock, however wrong this device's own clock is. */
export class ServerClock {
  private readonly server: number;
  private readonly heard: number;

  /** @param serverUtc what the server's clock said @param heard what performance.now() said when the answer came */
  constructor(serverUtc: string, heard: number) {
    this.server = Date.parse(serverUtc);
    this.heard = heard;
  }

  /** Server time now, in ms since 1970. */
  at(now: number): number {
    // A picture drawn just before the answer came must not show more time than there is.
    return this.server + Math.max(0, now - this.heard);
  }

  secondsLeft(dueUtc: string, now: number): number {
    return Math.max(0, (Date.parse(dueUtc) - this.at(now)) / 1000);
  }

  secondsSince(enteredUtc: string, now: number): number {
    return Math.max(0, (this.at(now) - Date.parse(enteredUtc)) / 1000);
  }
}
