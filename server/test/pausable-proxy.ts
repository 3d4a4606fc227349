import { connect, createServer, type AddressInfo, type Socket } from "node:net";

/** A way to a database that a test can close and open again, as a server that stops and starts. */
export interface PausableProxy {
  readonly url: string;
  readonly close: () => Promise<void>;
  readonly open: () => Promise<void>;
}

export async function pausableProxy(target: string): Promise<PausableProxy> {
  const { hostname, port: targetPort } = new URL(target);
  const sockets = new Set<Socket>();
  const server = createServer((near) => {
    const far = connect(Number(targetPort), hostname);
    for (const socket of [near, far]) {
      sockets.add(socket);
      socket.on("error", () => socket.destroy());
      socket.on("close", () => sockets.delete(socket));
    }
    near.pipe(far).pipe(near);
  });
  let port = 0;
  const open = () =>
    new Promise<void>((resolve) => {
      server.listen(port, "127.0.0.1", () => {
        ({ port } = server.address() as AddressInfo);
        resolve();
      });
    });
  await open();
  const url = new URL(target);
  url.port = String(port);
  return {
    url: url.href,
    open,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        for (const socket of sockets) socket.destroy();
      }),
  };
}
