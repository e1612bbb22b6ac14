import { defineEventHandler } from 'h3'

/** That the server lives; whether it can do its work is another question (`/api/ready`). */
export default defineEventHandler(() => ({ ok: true }))
