import type { Job } from '@hot-bead/contract/plan';
import { useOutletContext } from 'react-router';

/** The job whose frame this page stands in. */
export function useJob(): Job {
  return useOutletContext<Job>();
}
