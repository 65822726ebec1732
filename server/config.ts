import path from 'node:path';
import Joi from 'joi';

/** Settings from the environment, checked once. */
export interface Config {
  readonly databaseUrl: string;
  readonly dataFolder: string;
  readonly port: number;
  /** Host names that requests may be addressed to. */
  readonly hosts: readonly string[];
}

const schema = Joi.object({
  DATABASE_URL: Joi.string().uri({ scheme: ['postgres', 'postgresql'] }).required(),
  KULFI_DATA: Joi.string().default('.data'),
  PORT: Joi.number().integer().min(1).max(65_535).default(3000),
  KULFI_HOSTS: Joi.string().allow('').default(''),
}).unknown();

let config: Config | null = null;

/** The checked settings; throws one sentence that names the setting that is wrong. */
export function getConfig(): Config {
  if (config) return config;
  const { error, value } = schema.validate(process.env);
  if (error) throw new Error(`A setting is wrong: ${error.message}.`);
  const named = (value.KULFI_HOSTS as string).split(',').map((h) => h.trim()).filter(Boolean);
  config = { databaseUrl: value.DATABASE_URL, dataFolder: path.resolve(value.KULFI_DATA), port: value.PORT, hosts: ['localhost', '127.0.0.1', '[::1]', ...named] };
  return config;
}
