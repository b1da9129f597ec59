import type { ReturnItem } from '@/core/startup/return-visit';
import { Said } from '../degrees';

/** What a return visit is for, each with why it could not be done today and when it can. */
export const ReturnList = ({ items }: { items: readonly ReturnItem[] }) =>
  items.length === 0 ? null : (
    <section aria-label="Return visit" className="mt-3 border-y border-line-strong py-2">
      <h3 className="font-label text-xl font-semibold">For a return visit</h3>
      <ul>
        {items.map(({ what, why, due }) => (
          <li key={what} className="border-t border-line py-1.5 first:border-0">
            <b>{what}</b>
            <span className="block text-sm text-quiet">
              <Said>{why}</Said>
            </span>
            <span className="block text-sm font-semibold">
              <Said>{due}</Said>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
