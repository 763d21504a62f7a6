/** A bench’s name without the word that all of them begin with. */
export function shortName(name: string, all: readonly { readonly name: string }[]): string {
  const [first = ''] = name.split(' ');
  const sharing = all.filter((one) => one.name.startsWith(`${first} `));
  return sharing.length > 1 && sharing.length >= all.length - 1
    ? name.slice(first.length + 1) || name
    : name;
}
