import { Router } from 'express';
import { packingLists } from './club';

/** The stand-in for a kit club, under `/api/club`: its packing lists by month. */
export function clubRoutes(): Router {
  const router = Router();
  router.get('/lists', (_request, response) => {
    response.json({ lists: packingLists().map(({ club, name, month }) => ({ club, name, month })) });
  });
  router.get('/lists/:month', (request, response) => {
    const list = packingLists().find(({ month }) => month === request.params.month);
    if (list) response.json(list);
    else response.status(404).json({ error: { code: 'no-such-month', message: 'the club has no list of that month' } });
  });
  return router;
}
