'use client';
import { Dialog } from '@mui/material';
import { useForm } from 'react-hook-form';
import type { Call } from '../../core/calls/Call';
import { useBench } from '../build/BuildContext';

/** A lead's reason for accepting one finding as it is. */
export function WaiveDialog({ call, onClose }: { call: Call; onClose: () => void }) {
  const { send } = useBench();
  const {
    register,
    handleSubmit,
    setError,
    formState: { errors },
  } = useForm<{ why: string }>({ defaultValues: { why: '' } });
  const waive = ({ why }: { why: string }) => {
    const problems = send({ kind: 'waive', callId: call.id, says: call.says, why: why.trim() });
    if (problems.length > 0) setError('why', { message: problems.join(' ') });
    else onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="waive-title">
      <form className="stack" style={{ padding: 20 }} onSubmit={(event) => void handleSubmit(waive)(event)}>
        <h2 id="waive-title">Waive {call.id}</h2>
        <p>{call.says}</p>
        <p className="soft">{call.why}</p>
        <label>
          <span className="field-label">Why it may stay as it is</span>
          <textarea
            className="text-field"
            maxLength={500}
            {...register('why', {
              validate: (why) =>
                why.trim().length >= 10 || `The reason holds ${why.trim().length} characters; at least 10 are needed.`,
            })}
          />
        </label>
        {errors.why && (
          <p className="error-line" role="alert">
            {errors.why.message}
          </p>
        )}
        <p className="soft">
          Your name and this reason stand in the ledger and in the certificate. If the figures change, the waiver no longer holds.
        </p>
        <div className="inline">
          <button type="submit" className="key ink">
            Waive it
          </button>
          <button type="button" className="plain-button" onClick={onClose}>
            Leave it
          </button>
        </div>
      </form>
    </Dialog>
  );
}
