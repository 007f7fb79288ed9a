/** Words of a text, each with whether another text lacks it at its place (longest common subsequence). */
export function differing(text: string, other: string): { word: string; differs: boolean }[] {
  const words = text.split(/\s+/).filter(Boolean);
  const others = other.split(/\s+/).filter(Boolean);
  // Of what begins at each pair of places, the most words that both have.
  const most = Array.from({ length: words.length + 1 }, () => new Array<number>(others.length + 1).fill(0));
  for (let i = words.length - 1; i >= 0; i--) {
    for (let j = others.length - 1; j >= 0; j--) {
      most[i][j] = words[i] === others[j] ? most[i + 1][j + 1] + 1 : Math.max(most[i + 1][j], most[i][j + 1]);
    }
  }
  let j = 0;
  return words.map((word, i) => {
    while (j < others.length && word !== others[j] && most[i][j + 1] === most[i][j] && most[i][j] > 0) j++;
    const differs = !(j < others.length && word === others[j] && most[i][j] === most[i + 1][j + 1] + 1);
    if (!differs) j++;
    return { word, differs };
  });
}
