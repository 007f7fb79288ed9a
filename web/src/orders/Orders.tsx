import { Link, useParams } from 'react-router';
import { useOrders } from '../api/orders';
import type { OrderRow } from '../api/types';
import { PageHeader } from '../header/PageHeader';
import { OrderDetail } from './OrderDetail';
import { bytes, when } from './said';

/** All orders, the newest first, and one of them with its files. */
export function Orders() {
  const { orderId } = useParams();
  const orders = useOrders();
  const chosen = orderId ?? orders.data?.[0]?.id;
  return (
    <main className="min-h-full px-8 pb-16 max-[699px]:px-4">
      <title>Orders · Salt Drum</title>
      <PageHeader>
        <Link
          to="/orders/new"
          className="rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110"
        >
          New order
        </Link>
      </PageHeader>
      <h1 className="sr-only">Orders</h1>
      <div className="mx-auto grid max-w-6xl grid-cols-[280px_minmax(0,1fr)] gap-8 max-[899px]:grid-cols-1">
        <nav aria-label="All orders">
          {orders.error && <p className="text-accent">{orders.error.message}</p>}
          {orders.data?.length === 0 && (
            <p className="text-soft">
              No orders yet. Start one here, or render a clip: that is an order of one file.
            </p>
          )}
          <ul className="space-y-1.5">
            {orders.data?.map((order) => (
              <li key={order.id}>
                <Row order={order} current={order.id === chosen} />
              </li>
            ))}
          </ul>
        </nav>
        {chosen && <OrderDetail key={chosen} id={chosen} />}
      </div>
    </main>
  );
}

function Row({ order, current }: { order: OrderRow; current: boolean }) {
  const settled = order.done + order.ended;
  const open = settled < order.lines;
  return (
    <Link
      to={`/orders/${order.id}`}
      aria-current={current ? 'true' : undefined}
      className={`block rounded-lg px-3.5 py-2.5 ${current ? 'bg-paper outline-2 outline-accent' : 'hover:bg-paper'}`}
    >
      <span className="flex items-baseline gap-2">
        <span className="min-w-0 flex-1 truncate font-medium">{order.label}</span>
        <span className="text-tiny text-soft">{when(order.created)}</span>
      </span>
      <span className="block text-note text-soft">
        {order.done} of {order.lines} {order.lines === 1 ? 'file' : 'files'}
        {order.bytes > 0 && ` · ${bytes(order.bytes)}`}
        {order.ended > 0 && <span className="text-accent"> · {order.ended} not made</span>}
        {order.held > 0 && ' · paused'}
      </span>
      {open && (
        <span className="mt-1.5 block h-1 overflow-hidden rounded bg-rule">
          <span className="block h-full bg-accent" style={{ width: `${(100 * settled) / order.lines}%` }} />
        </span>
      )}
    </Link>
  );
}
