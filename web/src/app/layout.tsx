import { type Metadata, type Viewport } from 'next';
import { type ReactNode } from 'react';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Herrero', template: '%s · Herrero' },
  description: 'Plan every opening of a rainwater tank, joint by joint, to a complete parts list.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

/** Sets the light before anything is drawn, so that a dark shed never flashes white. */
const LIGHT_SCRIPT = `try{var l=localStorage.getItem('herrero-light');if(l)document.documentElement.dataset.light=l}catch{}`;

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <script dangerouslySetInnerHTML={{ __html: LIGHT_SCRIPT }} />
      </head>
      <body>{children}</body>
    </html>
  );
}
