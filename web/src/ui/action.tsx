import { type ButtonHTMLAttributes } from 'react';

/** A small action: brass words with a brass rule under them. */
export function Action({ children, className = '', ...button }: ButtonHTMLAttributes<HTMLButtonElement>) {
  return (
    <button type="button" {...button} className={`action ${className}`}>
      <span>{children}</span>
    </button>
  );
}
