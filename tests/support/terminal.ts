import { spawn } from 'node:child_process'

/** Runs a command of the terminal; what it printed, line by line. What `npm run` adds is tried where answers are flushed. */
export function run(script: string, input: string, args: string[] = []): Promise<{ code: number; lines: string[] }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ['scripts/cli.mjs', script, ...args], { stdio: ['pipe', 'pipe', 'inherit'] })
    let out = ''
    child.stdout.on('data', (chunk) => (out += chunk))
    child.on('close', (code) => resolve({ code: code ?? 1, lines: out.trim().split('\n') }))
    child.stdin.end(input)
  })
}
