/** Asks for a file of a kind; does nothing when none is chosen. */
export function chooseFile(accept: string, take: (file: File) => void): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  input.addEventListener('change', () => {
    const [file] = input.files ?? [];
    if (file) take(file);
  });
  input.click();
}
