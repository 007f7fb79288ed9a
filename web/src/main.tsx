import '@fontsource-variable/literata';
import '@fontsource-variable/literata/wght-italic.css';
import './theme.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { useEffect } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { useAnnouncements } from './api/announcements';
import { onSignedOut } from './api/http';
import { askWhoIsHere, useSession } from './api/people';
import { queryClient } from './api/queryClient';
import { Bench } from './bench/Bench';
import { Clips } from './clips/Clips';
import { NewOrder } from './orders/NewOrder';
import { Orders } from './orders/Orders';
import { Result } from './orders/Result';
import { Join } from './people/Join';
import { People } from './people/People';
import { SignIn } from './people/SignIn';
import { Review } from './reviews/Review';
import { Reviews } from './reviews/Reviews';
import { Notices } from './notices/Notices';
import { Workshop } from './workshop/Workshop';
import { Trouble } from './ui/Trouble';

/** The workshop itself, for who may come in. */
function Inside() {
  useAnnouncements();
  return (
    <>
      <Routes>
        <Route path="/" element={<Clips />} />
        <Route path="/orders" element={<Orders />} />
        <Route path="/orders/new" element={<NewOrder />} />
        <Route path="/orders/:orderId" element={<Orders />} />
        <Route path="/results/:jobId" element={<Result />} />
        <Route path="/workshop" element={<Workshop />} />
        <Route path="/people" element={<People />} />
        <Route path="/clips/:clipId" element={<Bench />} />
        <Route path="/clips/:clipId/:step" element={<Bench />} />
      </Routes>
      <Notices />
    </>
  );
}

function Door() {
  const session = useSession();
  useEffect(() => onSignedOut(() => void askWhoIsHere()), []);
  if (session.error) return <p className="p-8 text-lead">{session.error.message}</p>;
  if (!session.data) return <main className="h-full" aria-busy />;
  const { signIn, ownerless, person } = session.data;
  if (!signIn) return <Inside />;
  if (!person) return <SignIn ownerless={ownerless} />;
  return person.role === 'REVIEWER' ? <Reviews person={person} /> : <Inside />;
}

function App() {
  return (
    <Routes>
      <Route path="/review/:token" element={<Review />} />
      <Route path="/join/:token" element={<Join />} />
      <Route path="*" element={<Door />} />
    </Routes>
  );
}

createRoot(document.getElementById('root')!).render(
  <QueryClientProvider client={queryClient}>
    <BrowserRouter>
      <Trouble>
        <App />
      </Trouble>
    </BrowserRouter>
  </QueryClientProvider>,
);
