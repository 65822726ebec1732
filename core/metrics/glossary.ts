/**
 * Measures of the trade that ship with Kulfi: what they are called, what they mean, and how they are worked out from
 * the roles that columns can play. Data, not code: a line is all that a new one needs.
 */
export interface Metric {
  /** Names and short forms, the first is used in documents. */
  readonly names: readonly string[];
  /** A calculation over roles. */
  readonly formula: string;
  /** A share is worked out as a percentage unless the request says otherwise. */
  readonly share: boolean;
  readonly meaning: string;
}

/** Roles a column can play, and the words its name may hold; a word before '/' counts for more than one after it. */
export const ROLES: Readonly<Record<string, string>> = {
  revenue: 'revenue takings sales income turnover charged billed proceeds earnings / amount due paid total sell',
  charge: 'fee charge charged billed invoiced bill invoice due / price total amount cost gross quote quoted',
  paid: 'paid payment payments received settled',
  cost: 'cost costs expense expenses spend spending / hire purchase',
  spend: 'spend spending budget adspend / cost costs',
  price: 'price rate fare fee tariff freight / sell ticket list',
  unitCost: 'cost purchase / buy unit',
  unitPrice: 'sell price retail / list',
  fixedCost: 'hire fixed overhead rent / cost costs',
  units: 'units quantity qty sold pieces count / items tickets',
  orders: 'orders purchases sales bookings conversions / sold tickets transactions',
  customers: 'customers clients buyers members users subscribers / people',
  lost: 'lost left cancelled churned gone dead',
  start: 'start opening begin beginning first initial',
  end: 'end closing close final last',
  views: 'views impressions shown displays',
  clicks: 'clicks clicked',
  visits: 'visits visitors sessions traffic / views',
  leads: 'leads enquiries inquiries',
  sold: 'sold booked occupied used taken / filled passengers guests riders visitors people participants attended attendees pupils',
  capacity: 'capacity seats places beds rooms available slots max maximum',
  output: 'kg weight produced output harvested yield made / tonnes litres units',
  input: 'input raw gross hives area plants',
  gross: 'gross loaded / full total start initial',
  net: 'net / clean now end',
  tare: 'tare empty packaging',
  good: 'good passed accepted ok',
  bad: 'bad errors defects faulty rejected failed scrapped returned wrong',
  total: 'total all produced checked inspected / count quantity',
  hours: 'hours hour time worked',
  hoursAvailable: 'available capacity scheduled planned',
  stock: 'stock inventory hand / quantity',
  minimum: 'minimum min reorder target',
  demand: 'demand usage consumed daily / sold',
  onTime: 'punctual ontime timely',
  deliveries: 'deliveries shipments delivered shipped',
  ordered: 'ordered requested wanted',
  delivered: 'delivered received shipped supplied',
  receivable: 'receivable outstanding owed unpaid',
  payable: 'payable payables',
  assets: 'assets',
  liabilities: 'liabilities debts',
  debt: 'debt debts loan loans borrowed',
  equity: 'equity capital',
  profit: 'profit earnings / income margin',
  investment: 'investment invested / cost',
  interest: 'interest',
  principal: 'principal loan',
  actual: 'actual real measured',
  plan: 'plan planned budget target forecast expected nominal',
  weight: 'weight kg mass',
  volume: 'volume litres liters m3 cubic',
  area: 'area hectares ha acres surface m2 sqm',
  distance: 'distance km miles kilometres mileage',
  fuel: 'fuel litres petrol diesel',
  energy: 'kwh energy power electricity',
  people: 'people persons heads staff employees guests occupants population residents',
  deposit: 'deposit down',
  discount: 'discount rebate reduction',
  list: 'list / full original',
  tax: 'tax vat',
  wages: 'wages wage salary salaries pay payroll labour labor',
  calls: 'calls contacts',
  resolved: 'resolved solved closed answered',
  tickets: 'tickets cases requests complaints',
  returns: 'returns returned',
  refunds: 'refund refunds refunded',
  opens: 'opens opened',
  sent: 'sent delivered mailed',
  students: 'students pupils',
  teachers: 'teachers tutors',
  votes: 'votes voted',
  eligible: 'eligible registered entitled',
};

const share = (names: string, formula: string, meaning: string): Metric => ({ names: names.split('|'), formula, share: true, meaning });
const figure = (names: string, formula: string, meaning: string): Metric => ({ names: names.split('|'), formula, share: false, meaning });

export const METRICS: readonly Metric[] = [
  // What is earned
  share('margin|margin %|margin percent|margin percentage|margin rate|profit margin|gross margin|percentage margin|margin in percent|margin as a percentage|return on sales', '(revenue - cost) / revenue', 'share of the revenue that is left after the cost'),
  share('markup|mark-up|mark up|markup on cost|mark-up on cost|mark up on cost|markup over cost|mark-up over cost|mark up over cost|markup percent|markup %', '(unitPrice - unitCost) / unitCost', 'what is put on the cost, as a share of the cost'),
  figure('margin|profit|gross profit|net profit|contribution|surplus|margin amount|money made', 'revenue - cost', 'what is left of the revenue after the cost'),
  figure('unit margin|margin per unit|profit per unit|profit per piece|unit profit', 'unitPrice - unitCost', 'what one piece brings after its cost'),
  figure('line total|order total|row total|line amount|line value', 'units * price', 'what all pieces of a row cost'),
  figure('average order|average order value|aov|basket size|average basket|average ticket size', 'revenue / orders', 'revenue of one order'),
  figure('average price|average selling price|revenue per unit', 'revenue / units', 'revenue of one piece'),
  figure('unit cost|cost per unit|cost per piece', 'cost / units', 'cost of one piece'),
  figure('revenue per customer|arpu|revenue per head|revenue per user|average revenue per user', 'revenue / customers', 'revenue of one customer'),
  figure('break-even|break even|breakeven|break-even point|break-even quantity|break even point|break-even units', 'fixedCost / price', 'how many must be sold to cover the fixed cost'),
  share('return on investment|roi', '(revenue - investment) / investment', 'what an investment brought beyond itself'),
  figure('return on spend|return on ad spend|roas', 'revenue / spend', 'revenue for each unit of money spent'),
  share('return on assets|roa', 'profit / assets', 'profit as a share of the assets'),
  share('return on equity|roe', 'profit / equity', 'profit as a share of the equity'),
  share('discount rate|discount percent|discount percentage|discount %', '(list - price) / list', 'what is taken off the list price'),
  share('tax rate|tax share', 'tax / revenue', 'tax as a share of the revenue'),
  share('labour share|labor share|wage share|labour cost ratio', 'wages / revenue', 'wages as a share of the revenue'),
  share('cost ratio|expense ratio|cost share|cost-income ratio', 'cost / revenue', 'cost as a share of the revenue'),
  share('refund rate|refund share', 'refunds / revenue', 'refunds as a share of the revenue'),

  // Advertising and visits
  share('conversion|conversion rate|conversion ratio|cvr', 'orders / visits', 'share of the visits that ended in an order'),
  share('click-through|click-through rate|clickthrough rate|click through rate|ctr', 'clicks / views', 'share of the views that were clicked'),
  figure('cost per click|cpc|price per click', 'spend / clicks', 'what one click costs'),
  figure('cost per thousand|cost per mille|cpm|cost per thousand views', 'spend / views * 1000', 'what a thousand views cost'),
  figure('cost per acquisition|cpa|acquisition cost|cost per order|cost per conversion|cost per sale', 'spend / orders', 'what one order costs to win'),
  figure('cost per customer|customer acquisition cost|cac', 'spend / customers', 'what one customer costs to win'),
  figure('cost per lead|cpl', 'spend / leads', 'what one enquiry costs to win'),
  share('lead conversion|lead conversion rate|close rate|closing rate|win rate', 'orders / leads', 'share of the enquiries that were won'),
  share('open rate|opening rate', 'opens / sent', 'share of what was sent that was opened'),
  share('click rate', 'clicks / sent', 'share of what was sent that was clicked'),

  // Coming and going
  share('churn|churn rate|attrition|attrition rate|loss of customers', 'lost / customers', 'share of the customers that left'),
  share('retention|retention rate', '(customers - lost) / customers', 'share of the customers that stayed'),
  share('return rate|rate of return of goods|returns rate', 'returns / units', 'share of the pieces sold that came back'),
  share('growth|growth rate|rate of growth|percentage growth|increase rate', '(end - start) / start', 'change against the start, as a share of it'),
  figure('net change|absolute growth|absolute change', 'end - start', 'what was added from start to end'),
  share('shrinkage|shrink|shrinkage rate', '(start - end) / start', 'what went missing, as a share of the start'),
  figure('growth index|index of growth', 'end / start * 100', 'the end where the start is 100'),

  // Filling and using
  share('occupancy|occupancy rate|load factor|seat occupancy|fill of the house|fill level|fullness', 'sold / capacity', 'share of the places that were taken'),
  share('fill rate|order fill rate|delivery rate', 'delivered / ordered', 'share of what was ordered that was delivered'),
  share('fill rate', 'sold / capacity', 'share of the places that were taken'),
  share('utilisation|utilization|utilisation rate|utilization rate|capacity utilisation', 'hours / hoursAvailable', 'share of the hours there were that were used'),
  share('on-time rate|on time rate|punctuality|on-time delivery|otd', 'onTime / deliveries', 'share of the deliveries that came on time'),
  share('backlog rate|open share', '(tickets - resolved) / tickets', 'share of the cases still open'),
  share('resolution rate|solve rate', 'resolved / tickets', 'share of the cases that were resolved'),
  share('turnout|participation|participation rate|voter turnout', 'votes / eligible', 'share of those entitled who took part'),

  // Making
  figure('yield|yield per hive|crop yield|yield rate', 'output / input', 'what comes out for each unit put in'),
  share('yield %|yield percent|extraction rate|recovery rate', 'net / gross', 'share of the gross that is left'),
  share('loss|loss rate|loss %|waste rate|wastage|loss percent', '(gross - net) / gross', 'what was lost, as a share of the gross'),
  share('scrap rate|reject rate|rejection rate|defect rate|fault rate|failure rate', 'bad / total', 'share of the pieces that were bad'),
  share('error rate|error share', 'bad / total', 'share of what was done that was wrong'),
  share('pass rate|acceptance rate|quality rate|first pass yield', 'good / total', 'share of the pieces that were good'),
  figure('productivity|output per hour|units per hour|throughput|rate per hour', 'output / hours', 'what one hour brings'),
  figure('tare|packaging weight', 'gross - net', 'weight of what is around the goods'),
  figure('net weight|net load|payload|weight net', 'gross - tare', 'weight of the goods without what is around them'),

  // Stock
  figure('stock value|inventory value|value of stock|value of the stock|stock worth', 'stock * unitCost', 'what the stock cost'),
  figure('retail value|stock value at sale price', 'stock * unitPrice', 'what the stock would sell for'),
  figure('stock cover|days of stock|days of cover|days of inventory', 'stock / demand', 'how many days the stock lasts'),
  figure('stock turn|stock turnover|inventory turnover', 'cost / stock', 'how often the stock is sold'),
  figure('shortfall|shortage|missing stock', 'minimum - stock', 'what is missing up to the minimum'),
  figure('order quantity|amount to order|to order', 'minimum - stock', 'what must be ordered to get to the minimum'),

  // Money owed
  figure('outstanding|still owed|amount outstanding|open amount|still to pay|left to pay|balance due|still open|unpaid amount|amount still owed|open balance|still due|unpaid balance|remaining balance|outstanding amount|outstanding balance', 'charge - paid', 'what is charged and not yet paid'),
  figure('days sales outstanding|dso|debtor days|days outstanding', 'receivable / revenue * 365', 'how many days of revenue are still to be paid'),
  figure('days payable outstanding|dpo|creditor days', 'payable / cost * 365', 'how many days of cost are still to be paid'),
  figure('current ratio|liquidity ratio', 'assets / liabilities', 'what is owned for each unit owed'),
  share('debt ratio|gearing|leverage ratio', 'debt / assets', 'debt as a share of the assets'),
  figure('debt to equity|debt-equity ratio|debt to equity ratio', 'debt / equity', 'debt for each unit of equity'),
  figure('working capital|net working capital', 'assets - liabilities', 'what is left of the assets after what is owed'),
  share('interest rate|cost of borrowing', 'interest / principal', 'interest as a share of the loan'),
  share('deposit share|deposit rate', 'deposit / price', 'deposit as a share of the price'),

  // Against the plan
  figure('variance|variance to plan|deviation|deviation from plan|budget variance|variance to budget', 'actual - plan', 'actual less planned'),
  share('variance %|variance percent|percentage variance|deviation in percent', '(actual - plan) / plan', 'actual less planned, as a share of the plan'),
  share('attainment|target attainment|plan attainment|achievement|goal attainment', 'actual / plan', 'share of the plan that was reached'),

  // Heads, hours, ground and loads
  figure('density|population density', 'people / area', 'people for each unit of area'),
  figure('bulk density|weight per volume', 'weight / volume', 'weight of one unit of volume'),
  figure('yield per hectare|yield per area|output per area', 'output / area', 'what one unit of area brings'),
  figure('cost per head|cost per person|per-head cost|per capita cost', 'cost / people', 'cost for one person'),
  figure('revenue per employee|sales per head', 'revenue / people', 'revenue for one person'),
  figure('hourly rate|hourly pay|rate per hour|pay per hour|wage per hour', 'wages / hours', 'pay of one hour'),
  figure('revenue per hour|earnings per hour|takings per hour|sales per hour', 'revenue / hours', 'revenue of one hour'),
  figure('cost per hour|hourly cost', 'cost / hours', 'cost of one hour'),
  figure('cost per kilo|cost per kg|cost per kilogram', 'cost / weight', 'cost of one kilogram'),
  figure('price per kilo|price per kg|revenue per kilo|revenue per kg', 'revenue / weight', 'revenue of one kilogram'),
  figure('revenue per square metre|sales per square metre|sales per area', 'revenue / area', 'revenue of one unit of area'),
  figure('fuel consumption|fuel per distance|litres per 100 km|consumption per 100 km', 'fuel / distance * 100', 'fuel for 100 units of distance'),
  figure('mileage per litre|fuel economy|distance per litre', 'distance / fuel', 'distance for one unit of fuel'),
  figure('cost per kilometre|cost per km|cost per mile', 'cost / distance', 'cost of one unit of distance'),
  figure('average speed|speed', 'distance / hours', 'distance in one hour'),
  figure('energy intensity|energy per unit|kwh per unit', 'energy / units', 'energy for one piece'),
  figure('consumption|usage|metered use|amount used', 'end - start', 'the reading at the end less the one at the start'),
  figure('class size|pupil-teacher ratio|student-teacher ratio', 'students / teachers', 'students for each teacher'),
  figure('calls per hour|contacts per hour', 'calls / hours', 'calls in one hour'),
];
