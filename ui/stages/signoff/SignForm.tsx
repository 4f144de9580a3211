import { Box, Button, FormLabel } from '@mui/material';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { strokesProblem } from '../../../core/signature/strokes';
import { Field } from '../../components/forms/Field';
import { useWorkspace } from '../../sync/useWorkspace';
import { SignPad } from './SignPad';
import { signoff as t } from '../../texts/en/signoff';

/** Name and drawn signature under what they stand for. */
export function SignForm() {
  const { send, who } = useWorkspace('send', 'who');
  const {
    register,
    handleSubmit,
    setError,
    setValue,
    formState: { errors },
  } = useForm<{ typedName: string; drawn: string }>({ defaultValues: { typedName: '', drawn: '' } });
  useEffect(() => {
    register('drawn', {
      validate: (path) => (path.length >= 20 && strokesProblem(path) === null) || t.drawTheSignatureInTheBox,
    });
  }, [register]);
  const sign = (values: { typedName: string; drawn: string }) => {
    const problems = send({ kind: 'sign', ...values });
    if (problems.length > 0) setError('typedName', { message: problems.join(' ') });
  };
  return (
    <Box component="form" className="stack" sx={{ mt: 1.75 }} onSubmit={(event) => void handleSubmit(sign)(event)}>
      <p>{t.bySigningSaysTheseFiguresWere({ name: who.name })}</p>
      <div>
        <FormLabel component="span">{t.signatureDrawn}</FormLabel>
        <SignPad onDrawn={(path) => setValue('drawn', path, { shouldValidate: true })} />
      </div>
      {errors.drawn && (
        <p className="error-line" role="alert">
          {errors.drawn.message}
        </p>
      )}
      <Field
        label={t.nameTypedInFull}
        autoComplete="name"
        maxLength={80}
        problem={errors.typedName?.message}
        {...register('typedName', { required: 'Type your name as you signed in.' })}
      />
      <Button type="submit" variant="contained" sx={{ maxWidth: 420 }}>
        {t.signAndLockThisBuild}
      </Button>
    </Box>
  );
}
