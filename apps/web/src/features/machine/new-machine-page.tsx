import { useNavigate } from 'react-router';
import { ButtonLink } from '../../ui/button.tsx';
import { DIALS_PART, machinePart } from '../terms/index.ts';
import { FirstQuestions } from './first-questions.tsx';
import { useAddMachine } from './machines.queries.ts';
import { PageTitle } from '../../ui/page/page-title.tsx';

/** A machine to be added, by hand or from a file. */
export function NewMachinePage() {
  const add = useAddMachine();
  const navigate = useNavigate();
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <ButtonLink to="/machines/from-file">Take one from a file</ButtonLink>
          </>
        }
      >
        Add a machine
      </PageTitle>
      <FirstQuestions
        saving={add.isPending}
        onSave={(machine, onError) =>
          add.mutate(machine, { onError, onSuccess: ({ id }) => void navigate(machinePart(id, DIALS_PART)) })
        }
      />
    </div>
  );
}
