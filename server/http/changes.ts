/** Methods that change something. */
export const CHANGES = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])
