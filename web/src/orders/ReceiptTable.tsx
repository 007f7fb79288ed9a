import { Check } from 'lucide-react';
import type { Receipt } from '../api/types';

/** The measurements of a receipt, line by line. */
export function ReceiptTable({ receipt, jobId }: { receipt: Receipt; jobId: string }) {
  const bad = receipt.lines.filter((line) => !line.good).length;
  return (
    <>
      <p className={`mb-2 flex items-center gap-1.5 ${bad ? 'font-semibold text-accent' : ''}`}>
        {bad === 0 ? (
          <>
            <Check size={15} /> No problems
          </>
        ) : (
          `${bad} ${bad === 1 ? 'problem' : 'problems'} found`
        )}
      </p>
      <table className="w-full text-note">
        <tbody className="divide-y divide-rule border-y border-rule">
          {receipt.lines.map((line) => (
            <tr key={line.what} className="align-baseline">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal text-soft">
                {line.what}
              </th>
              <td className={`py-1.5 ${line.good ? '' : 'font-semibold text-accent'}`}>{line.measured}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <a href={`/api/jobs/${jobId}/receipt`} className="mt-2 inline-block text-note text-accent underline">
        As JSON
      </a>
    </>
  );
}
