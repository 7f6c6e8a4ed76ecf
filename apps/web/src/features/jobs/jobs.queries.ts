import type { Job, JobChange, NewAcknowledgement, NewJob } from '@hot-bead/contract';
import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';

export const jobKeys = {
  all: ['jobs'] as const,
  list: () => [...jobKeys.all, 'list'] as const,
  one: (id: string) => [...jobKeys.all, 'one', id] as const,
};

const readJob = readBy<Job>((contract) => contract.jobSchema);

export const jobListQuery = queryOptions({
  queryKey: jobKeys.list(),
  queryFn: () =>
    api(
      'GET',
      '/jobs',
      readBy((contract) => contract.jobListSchema),
    ),
});

export function jobQuery(id: string) {
  return queryOptions({ queryKey: jobKeys.one(id), queryFn: () => api('GET', `/jobs/${id}`, readJob) });
}

export function useCreateJob() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (job: NewJob) => api('POST', '/jobs', readJob, job),
    onSuccess: (job) => {
      client.setQueryData(jobKeys.one(job.id), job);
      return client.invalidateQueries({ queryKey: jobKeys.list() });
    },
  });
}

/** Changes a job at once on screen; the server's answer follows, and an error puts the screen back. */
export function useChangeJob(id: string) {
  const client = useQueryClient();
  const key = jobKeys.one(id);
  const mutationKey = [...key, 'change'];
  return useMutation({
    mutationKey,
    mutationFn: (change: JobChange) => api('PATCH', `/jobs/${id}`, readJob, change),
    scope: { id: `job-${id}` }, // changes of one job are sent in order
    onMutate: async (change) => {
      await client.cancelQueries({ queryKey: key });
      const before = client.getQueryData<Job>(key);
      if (before) client.setQueryData<Job>(key, { ...before, ...(change as Partial<Job>) });
      return { before };
    },
    onError: (_error, _change, context) => {
      if (context?.before) client.setQueryData(key, context.before);
    },
    onSuccess: (job) => {
      if (client.isMutating({ mutationKey }) <= 1) client.setQueryData(key, job);
      return client.invalidateQueries({ queryKey: jobKeys.list() });
    },
  });
}

/** The same work as a new job. */
export function useDuplicateJob() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => api('POST', `/jobs/${id}/duplicate`, readJob),
    onSuccess: (job) => {
      client.setQueryData(jobKeys.one(job.id), job);
      void client.invalidateQueries({ queryKey: jobKeys.list() });
    },
  });
}

/** Logs that a stop caution of a job was read. */
export function useAcknowledge(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (caution: NewAcknowledgement) =>
      api('POST', `/jobs/${id}/acknowledgements`, readJob, caution),
    onSuccess: (job) => client.setQueryData(jobKeys.one(id), job),
  });
}

export function useRemoveJob() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => api('DELETE', `/jobs/${id}`, () => id),
    onSuccess: () => void client.invalidateQueries({ queryKey: jobKeys.list() }), // not awaited: the row goes with it
  });
}

export function useRestoreJob() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => api('POST', `/jobs/${id}/restore`, readJob),
    onSuccess: (job) => {
      client.setQueryData(jobKeys.one(job.id), job);
      return client.invalidateQueries({ queryKey: jobKeys.list() });
    },
  });
}
