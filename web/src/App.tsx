import { lazy, Suspense, useEffect } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { useAnnouncements } from './api/announcements';
import { onSignedOut } from './api/http';
import { askWhoIsHere, useSession } from './api/people';
import { useKeyboard } from './keys/keyboard';
import { Notices } from './notices/Notices';

// A part of the script for each place, loaded when somebody goes there.
const Bench = lazy(() => import('./bench/Bench').then((part) => ({ default: part.Bench })));
const Clips = lazy(() => import('./clips/Clips').then((part) => ({ default: part.Clips })));
const NewOrder = lazy(() => import('./orders/NewOrder').then((part) => ({ default: part.NewOrder })));
const Newcomer = lazy(() => import('./people/Newcomer').then((part) => ({ default: part.Newcomer })));
const Orders = lazy(() => import('./orders/Orders').then((part) => ({ default: part.Orders })));
const Result = lazy(() => import('./orders/Result').then((part) => ({ default: part.Result })));
const Join = lazy(() => import('./people/Join').then((part) => ({ default: part.Join })));
const People = lazy(() => import('./people/People').then((part) => ({ default: part.People })));
const SignIn = lazy(() => import('./people/SignIn').then((part) => ({ default: part.SignIn })));
const Reviews = lazy(() => import('./reviews/Reviews').then((part) => ({ default: part.Reviews })));
const Workshop = lazy(() => import('./workshop/Workshop').then((part) => ({ default: part.Workshop })));

const waiting = <main className="h-full" aria-busy />;

/** A file that is dropped where nothing takes it never replaces the page. */
function useKeepsPage() {
  useEffect(() => {
    const stop = new AbortController();
    const files = (e: DragEvent) => !e.defaultPrevented && e.dataTransfer?.types.includes('Files');
    document.addEventListener(
      'dragover',
      (e) => {
        if (!files(e)) return;
        e.preventDefault();
        e.dataTransfer!.dropEffect = 'none';
      },
      { signal: stop.signal },
    );
    document.addEventListener('drop', (e) => files(e) && e.preventDefault(), { signal: stop.signal });
    return () => stop.abort();
  }, []);
}

/** The workshop, for people with access. */
function Inside() {
  useAnnouncements();
  useKeyboard();
  useKeepsPage();
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
  if (!session.data) return waiting;
  const { signIn, ownerless, person, newcomer, passkeys } = session.data;
  if (!signIn) return <Inside />;
  if (!person) return <SignIn ownerless={ownerless} passkeys={passkeys} />;
  if (newcomer) return <Newcomer person={person} />;
  return person.role === 'REVIEWER' ? <Reviews person={person} /> : <Inside />;
}

/** All routes except reviews. */
export function App() {
  return (
    <BrowserRouter>
      <Suspense fallback={waiting}>
        <Routes>
          <Route path="/join/:token" element={<Join />} />
          <Route path="*" element={<Door />} />
        </Routes>
      </Suspense>
    </BrowserRouter>
  );
}
