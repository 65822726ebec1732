import { plans } from '../../language/acts';
import { crossed } from '../../language/lexicon/crossed';
import { frame, type Frame } from '../../language/frames';

export const frames: readonly Frame[] = [
  // 'I just need order, customer and price, in this order'
  frame('pick the columns needed', {
    need: { cols: '$cols', only: [crossed('i|we', 'just|only', 'need|want|use'), crossed('all', 'i|we', 'need|want', '|is|are')], order: 'in this order|in that order|in the order given|exactly in this order|in just this order' },
    about: 'columns column fields the please these and',
    rows: false,
    cost: 0,
  }, ({ cols }) => (cols.length > 1 ? plans({ step: 'pick', columns: cols }) : null)),

  frame('pick columns', {
    need: { cols: '$cols', only: ['are of interest|is of interest|are needed|are wanted|are relevant|are required|are important|are interesting|reduce the table to|reduce it to|reduce to|cut the table down to|cut it down to|narrow the table to|bring the table down to|keep nothing but|nothing but|keep just|just keep|keep only|only keep|only want|i only want|only need|just leave me|nothing else|and nothing else|all columns except|all but|everything except|remove all columns except|drop all columns but|leave only|leave just|only|just|no other columns|all other columns can go|the other columns can go|drop the other columns|drop all other columns|the rest of the columns can go|delete everything except|remove everything but|other columns away'] },
    may: { rest: 'the rest can go|the rest goes|the others can go|the rest is not needed|everything else can go|the rest may go|drop the rest|the others may go', order: 'in this order|in that order|in the order given|exactly in this order', count: ['two|three|four|five|six|seven|2|3|4|5|6|7 of? columns|fields'] },
    many: ['only'],
    about: 'columns column fields keep show leave the please want need see would like i we in two three four five six these remove delete drop except but else and nothing other rest of me just only',
    rows: false,
    cost: 0.6,
  }, ({ cols }, x) => (cols.length > 1 || x.head.columns.length > 2 && cols.length > 1 ? plans({ step: 'pick', columns: cols }) : null)),
];
