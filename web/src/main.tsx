import '@fontsource-variable/literata';
import '@fontsource-variable/literata/wght-italic.css';
import './theme.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { queryClient } from './api/queryClient';
import { Trouble } from './ui/Trouble';

// A client's telephone loads the review and nothing else: neither the bench nor what finds the way between pages.
const token = /^\/review\/([^/]+)\/?$/.exec(window.location.pathname)?.[1];
const Page = lazy(async () => {
  if (token === undefined) return { default: (await import('./App')).App };
  const { Review } = await import('./reviews/Review');
  return { default: () => <Review token={decodeURIComponent(token)} /> };
});

// Captions are painted aside and with each frame of the video; where either is unknown, the page says so and stays what it is.
const able =
  typeof OffscreenCanvas === 'function' && 'requestVideoFrameCallback' in HTMLVideoElement.prototype;
if (able) {
  createRoot(document.getElementById('root')!).render(
    <QueryClientProvider client={queryClient}>
      <Trouble>
        <Suspense fallback={<main className="h-full" aria-busy />}>
          <Page />
        </Suspense>
      </Trouble>
    </QueryClientProvider>,
  );
} else {
  document.getElementById('unable')!.className = 'now';
}
