import { amend, plans } from '../../language/acts';
import { rule } from '../../language/chart';

export const phrases = [
  rule('clause', '~keepOnly the? column|columns? $cols:c columns|column?', ({ c }) => plans({ step: 'pick', columns: c }), 0.25),
  rule('clause', 'the? columns|column|fields i|we need|want|require|use ,|:|are? $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), -0.3),
  rule('clause', 'i|we only? need|want only? these|the? columns|fields ,|:? $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), -0.1),
  rule('clause', 'i|we only|just want|need|would to|like? to? keep|have|see|show the|these? column|columns|fields|field :|,? $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), -0.1),
  rule('clause', '~keep the? $cols:c in|and this|that|the|exactly same|given|this? order|sequence', ({ c }) => (c.length > 1 ? plans({ step: 'pick', columns: c }) : null), -0.3),
  rule('clause', '~keep the|these|only|just? columns|fields :|,? $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), -0.05),
  rule('clause', 'strip|cut|reduce|bring|narrow|pare|trim|slim|boil|get this|it|that|the? table|sheet|list|all|everything? down to the|these|just|only? columns|fields? :|,? $cols:c', ({ c }) => (c.length > 1 ? plans({ step: 'pick', columns: c }) : null), -0.3),
  rule('rider', '~open? in|and this|that|the|exactly same|given|this? order|sequence ~close?', () => amend('in this order', (plan) => (plan.step === 'pick' ? plan : null)), 0),
  rule('clause', '~keep $cols:c', ({ c }) => (c.length > 1 ? plans({ step: 'pick', columns: c }) : null), 0.5),
  rule('clause', '~keepOnly column|columns $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), 0),
  rule('clause', '~keep just|only column|columns? $cols:c columns|column?', ({ c }) => plans({ step: 'pick', columns: c }), 0.1),
  rule('clause', '~drop all columns|column except|but $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), 0),
  rule('clause', '~drop everything except|but $cols:c', ({ c }) => plans({ step: 'pick', columns: c }), 0.1),
].flat();
