import { spawn, type ChildProcess } from "node:child_process";
import { once } from "node:events";
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { Application } from "./application";
import { freePort } from "./free-port";

const ROOT = join(import.meta.dirname, "../..");

/** One copy of the application over a database that is there, as an operator runs it. */
export class Copy {
  private child: ChildProcess | null = null;

  constructor(
    readonly port: number,
    private readonly databaseUrl: string,
  ) {}

  async start(): Promise<void> {
    const child = spawn(process.execPath, ["scripts/serve.mjs"], {
      cwd: ROOT,
      stdio: ["ignore", "pipe", "inherit"],
      env: {
        ...process.env,
        DATABASE_URL: this.databaseUrl,
        PORT: String(this.port),
        KESTRELMOOR_PROXIES: "1",
        LOG_LEVEL: "silent",
      },
    });
    this.child = child;
    const [line] = (await once(child.stdout, "data")) as [Buffer];
    if (!line.toString().includes("is ready")) throw new Error(line.toString());
  }

  async stop(signal: NodeJS.Signals = "SIGTERM"): Promise<void> {
    const { child } = this;
    if (child?.exitCode !== null || child.signalCode !== null) return;
    child.kill(signal);
    await once(child, "exit");
  }
}

/** Two copies over one database, behind nginx as deploy/nginx.conf sets it up. */
export class TwoCopies {
  private constructor(
    readonly url: string,
    readonly copies: readonly [Copy, Copy],
    private readonly database: Application,
    private readonly nginx: ChildProcess,
    private readonly folder: string,
  ) {}

  static async create(): Promise<TwoCopies> {
    // The whole application brings the database along; it stays idle itself.
    const database = await Application.create();
    const url = database.databaseUrl();
    const copies = [new Copy(await freePort(), url), new Copy(await freePort(), url)] as const;
    await Promise.all(copies.map((copy) => copy.start()));
    const port = await freePort();
    const folder = mkdtempSync(join(tmpdir(), "kestrelmoor-nginx-"));
    // Started by root, nginx works as another user, who keeps files here.
    chmodSync(folder, 0o755);
    const file = join(folder, "nginx.conf");
    writeFileSync(file, configuration(port, folder, copies));
    const settings = `daemon off; pid ${join(folder, "nginx.pid")}; error_log stderr crit;`;
    const nginx = spawn(process.env["NGINX_PATH"] ?? "nginx", ["-c", file, "-g", settings], {
      stdio: ["ignore", "ignore", "inherit"],
    });
    const address = `http://127.0.0.1:${port}`;
    await answers(`${address}/api/ready`);
    return new TwoCopies(address, copies, database, nginx, folder);
  }

  async remove(): Promise<void> {
    this.nginx.kill("SIGQUIT");
    await Promise.all(this.copies.map((copy) => copy.stop()));
    await this.database.remove();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

/** The operator's own file, but for its addresses, its certificate and where it keeps files. */
function configuration(port: number, folder: string, [one, other]: readonly [Copy, Copy]): string {
  return readFileSync(join(ROOT, "deploy/nginx.conf"), "utf8")
    .replace("listen 443 ssl;", `listen 127.0.0.1:${port}; access_log off;`)
    .replace(/^\s*ssl_certificate.*$/gm, "")
    .replace("/var/cache/nginx/kestrelmoor", join(folder, "files"))
    .replace("127.0.0.1:4180", `127.0.0.1:${one.port}`)
    .replace("127.0.0.1:4181", `127.0.0.1:${other.port}`);
}

async function answers(address: string): Promise<void> {
  for (let tries = 0; tries < 100; tries += 1) {
    const status = await fetch(address).then(
      (reply) => reply.status,
      () => 0,
    );
    if (status === 200) return;
    await pause(100);
  }
  throw new Error(`Nothing answers at ${address}`);
}
