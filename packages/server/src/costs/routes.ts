import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { listPay } from './list-pay';

/** What an hour costs. */
export function costsRoutes(platform: Platform): void {
  mount(platform, endpoints.listPay, (context) => listPay(context));
}
