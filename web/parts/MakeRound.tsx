import { Link } from 'react-router';
import { Row } from '../ui/Screen';

/** Ways on from anything she has in hand. @param of as the address has it: `piece=…`, `photo=…` */
export const MakeRound = ({ of, label = 'What can I make round this?' }: { of: string; label?: string }) => (
  <Row $gap={14}>
    <Link to={`/round?${of}`}>{label}</Link>
    <Link to={`/busters/gather?${of}`}>Gather a kit round it</Link>
  </Row>
);
