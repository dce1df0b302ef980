import {
  FieldError,
  Input,
  Label,
  Text,
  TextArea,
  TextField as AriaTextField,
  type TextFieldProps as AriaTextFieldProps,
} from 'react-aria-components';
import styled from 'styled-components';

export interface TextFieldProps extends AriaTextFieldProps {
  label: string;
  /** What is wrong with what stands there; shown in place. */
  error?: string | null;
  description?: string;
  /** Rows of a longer text; absent: one line. */
  rows?: number;
  placeholder?: string;
  /** Figures are set in the measures' type. */
  isMeasure?: boolean;
}

/** A labelled field with its error below it. */
export function TextField({
  label,
  error = null,
  description,
  rows,
  placeholder,
  isMeasure = false,
  ...props
}: TextFieldProps) {
  const className = isMeasure ? 'measure' : undefined;
  return (
    <Field {...props} isInvalid={error !== null}>
      <Label>{label}</Label>
      {rows === undefined ? (
        <Input className={className} placeholder={placeholder} />
      ) : (
        <TextArea rows={rows} placeholder={placeholder} />
      )}
      {description !== undefined && <Text slot="description">{description}</Text>}
      <FieldError>{error}</FieldError>
    </Field>
  );
}

export const fieldLook = `min-height: 38px; padding: 6px 10px; border-radius: 5px; width: 100%; font: inherit;`;

const Field = styled(AriaTextField)`
  display: flex;
  flex-direction: column;
  gap: 3px;
  min-width: 0;
  label {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
  input,
  textarea {
    ${fieldLook} color: ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.sheet};
    border: 1.5px solid ${({ theme }) => theme.soft};
  }
  input.measure {
    font-family: 'Atkinson Hyperlegible Mono Variable', monospace;
  }
  textarea {
    resize: vertical;
    line-height: 1.4;
  }
  &[data-invalid] input {
    border-color: ${({ theme }) => theme.brick};
  }
  .react-aria-FieldError {
    color: ${({ theme }) => theme.brick};
    font-size: 14px;
  }
  [slot='description'] {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;
