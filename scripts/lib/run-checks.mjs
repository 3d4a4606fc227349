import { spawn } from "node:child_process";
import { ROOT } from "./folders.mjs";
import { run } from "./run.mjs";

/** How many checks of the sources run at a time; each uses one core. */
const LANES = 2;

/**
 * Runs checks and continues after a fault, so that all faults are seen.
 *
 * @param {{ name: string, command: string[] }[]} sources independent checks, run in two lanes, longest first
 * @param {{ name: string, command: string[] }[]} tests run one after the other, each with every core
 */
export async function runChecks(sources, tests, environment) {
  const failed = [];
  const waiting = [...sources];
  const lane = async () => {
    for (let check = waiting.shift(); check !== undefined; check = waiting.shift()) {
      const { code, output, seconds } = await runQuietly(check.command, environment);
      console.log(`\n— ${check.name} (${seconds} s)\n${output}`.trimEnd());
      if (code !== 0) failed.push(check.name);
    }
  };
  await Promise.all(Array.from({ length: LANES }, lane));
  for (const { name, command } of tests) {
    console.log(`\n— ${name}`);
    const began = performance.now();
    const [program, ...args] = command;
    if ((await run(program, args, { env: environment })) !== 0) failed.push(name);
    console.log(`(${secondsSince(began)} s)`);
  }
  report(sources.length + tests.length, failed);
}

function report(count, failed) {
  console.log(failed.length === 0 ? "\nEverything passed." : `\nFailed: ${failed.join(", ")}.`);
  console.log(`checks: ${count - failed.length} passed, ${failed.length} failed`);
  if (failed.length > 0) process.exitCode = 1;
}

/** Collects the output, because two checks that print at the same time cannot be read. */
function runQuietly([program, ...args], env) {
  const began = performance.now();
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, { cwd: ROOT, env, stdio: ["ignore", "pipe", "pipe"] });
    let output = "";
    child.stdout.on("data", (chunk) => (output += chunk));
    child.stderr.on("data", (chunk) => (output += chunk));
    child.once("error", reject);
    child.once("close", (code) =>
      resolve({ code: code ?? 1, output, seconds: secondsSince(began) }),
    );
  });
}

function secondsSince(began) {
  return Math.round((performance.now() - began) / 1000);
}
