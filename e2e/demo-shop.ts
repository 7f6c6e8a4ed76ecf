import { DEMO_SHOP_PATH, newDemoShop } from './demo-server.ts';

/** Makes the demo shop once: each test that needs one begins with a copy. */
export default async function demoShop(): Promise<void> {
  process.env[DEMO_SHOP_PATH] = await newDemoShop();
}
