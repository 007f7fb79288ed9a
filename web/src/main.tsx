import '@fontsource-variable/literata';
import '@fontsource-variable/literata/wght-italic.css';
import './theme.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { useAnnouncements } from './api/announcements';
import { queryClient } from './api/queryClient';
import { Bench } from './bench/Bench';
import { Clips } from './clips/Clips';
import { NewOrder } from './orders/NewOrder';
import { Orders } from './orders/Orders';
import { Result } from './orders/Result';
import { Notices } from './notices/Notices';
import { Workshop } from './workshop/Workshop';
import { Trouble } from './ui/Trouble';

function App() {
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
        <Route path="/clips/:clipId" element={<Bench />} />
        <Route path="/clips/:clipId/:step" element={<Bench />} />
      </Routes>
      <Notices />
    </>
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
