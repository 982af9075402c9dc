const underWay = new Set<Promise<boolean>>();

/** Something is on its way that what is edited will name: saving waits for it. */
export function sent(upload: Promise<boolean>): Promise<boolean> {
  underWay.add(upload);
  void upload.finally(() => underWay.delete(upload));
  return upload;
}

/** Once nothing is on its way any more: whether all of it has arrived. */
export async function allSent(): Promise<boolean> {
  let all = true;
  while (underWay.size > 0) {
    const arrived = await Promise.all(underWay);
    all = all && !arrived.includes(false);
  }
  return all;
}
