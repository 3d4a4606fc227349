import { isFree } from "./free-port.mjs";
import { Obstacle } from "./stop-with.mjs";

/** The port to serve on, checked to be free; 0 lets the system choose. */
export async function chosenPort() {
  const text = process.env.PORT ?? "4180";
  const port = Number(text);
  if (!/^\d+$/.test(text) || port > 65_535) {
    throw new Obstacle(`PORT should be a number from 0 to 65535, not "${text}".`);
  }
  if (port !== 0 && !(await isFree(port))) {
    throw new Obstacle(
      `Port ${port} is taken. Stop what listens there, or choose another: PORT=${port + 1} npm start`,
    );
  }
  return port;
}
