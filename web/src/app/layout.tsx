import { type Metadata, type Viewport } from 'next';
import { headers } from 'next/headers';
import { type ReactNode } from 'react';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Herrero', template: '%s · Herrero' },
  description: 'Plan every opening of a rainwater tank, joint by joint, to a complete parts list.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

/** Sets the light before anything is drawn, so that a dark shed never flashes white. */
const LIGHT_SCRIPT = `try{var l=localStorage.getItem('herrero-light');if(l)document.documentElement.dataset.light=l}catch{}`;

/** Every page carries the word of its answer, by which its scripts are let run: none is made before it is asked for. */
export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: LIGHT_SCRIPT }} />
      </head>
      <body>{children}</body>
    </html>
  );
}
