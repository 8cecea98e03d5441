import { redirect } from 'next/navigation';

/** A set is edited among the machines. */
export default function Page() {
  redirect('/machines');
}
