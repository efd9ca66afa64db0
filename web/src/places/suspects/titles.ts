import { testById } from '#core/scheme/tests';

export const testTitle = (id: string) => testById.get(id)?.title ?? (id === 'free' ? 'Free work' : id);
