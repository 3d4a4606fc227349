const answers = new EventTarget();

/** The server has answered: whoever waits for it to come back need not wait longer. */
export function tellReached(): void {
  answers.dispatchEvent(new Event("reached"));
}

/** Until the server answers, or at the latest so many milliseconds. */
export function untilReached(milliseconds: number): Promise<void> {
  return new Promise((done) => {
    const end = () => {
      clearTimeout(timer);
      answers.removeEventListener("reached", end);
      done();
    };
    const timer = setTimeout(end, milliseconds);
    answers.addEventListener("reached", end);
  });
}
