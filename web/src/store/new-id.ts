/** A new id, short enough for an eye and long enough never to come twice in a job. */
export const newId = (): string => crypto.randomUUID().slice(0, 13);
