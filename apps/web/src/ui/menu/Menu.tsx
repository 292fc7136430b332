import { cloneElement, lazy, Suspense, useState } from 'react';
import type { MenuProps } from './menuItem';

const load = async () => ({ default: (await import('./OpenMenu')).OpenMenu });
const OpenMenu = lazy(load);

/**
 * A short list of things to do, behind a button. What opens it is loaded when the button is come near: no page waits for a menu that
 * nobody may open.
 */
export function Menu(props: MenuProps) {
  const [isAsked, ask] = useState(false);
  const near = (): void => void load();
  const closed = cloneElement(props.trigger, {
    'aria-haspopup': 'menu',
    'aria-expanded': false,
    onPointerEnter: near,
    onFocus: near,
    onClick: () => ask(true),
    onKeyDown: (event) => {
      if (event.key !== 'ArrowDown') return;
      event.preventDefault();
      ask(true);
    },
  });
  return isAsked ? (
    <Suspense fallback={closed}>
      <OpenMenu {...props} />
    </Suspense>
  ) : (
    closed
  );
}
