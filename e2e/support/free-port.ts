import { once } from "node:events";
import { createServer, type AddressInfo } from "node:net";

/** A port on loopback that nobody listens on just now. */
export async function freePort(): Promise<number> {
  const probe = createServer().listen(0, "127.0.0.1");
  await once(probe, "listening");
  const { port } = probe.address() as AddressInfo;
  probe.close();
  return port;
}
