import { useSearchParams } from 'react-router';
import type { Clip } from '../api/types';
import type { ShelfAsked } from './ShelfBar';
import { ORDERS, type ShelfOrder } from './shelf';

const USUAL: ShelfAsked = { q: '', client: null, shelf: 'HERE', standing: '', order: 'newest' };

/** The query is part of the URL, so that returning from a clip restores it. */
export function useShelfAsked(): [ShelfAsked, (asked: Partial<ShelfAsked>) => void] {
  const [params, setParams] = useSearchParams();
  const client = params.get('client');
  const order = params.get('order') ?? '';
  const shelf = params.get('shelf');
  const asked: ShelfAsked = {
    q: params.get('q') ?? USUAL.q,
    client: client === null ? null : Number(client),
    shelf: shelf === 'ARCHIVED' || shelf === 'REMOVED' ? (shelf as Clip['shelf']) : 'HERE',
    standing: params.get('standing') ?? USUAL.standing,
    order: order in ORDERS ? (order as ShelfOrder) : USUAL.order,
  };
  const ask = (change: Partial<ShelfAsked>) => {
    const next = { ...asked, ...change };
    const query = new URLSearchParams();
    for (const key of Object.keys(next) as (keyof ShelfAsked)[]) {
      if (next[key] !== USUAL[key]) query.set(key, String(next[key]));
    }
    setParams(query, { replace: true });
  };
  return [asked, ask];
}
