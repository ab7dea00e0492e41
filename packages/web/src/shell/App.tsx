import { Provider } from 'react-redux';
import { createBrowserRouter, Navigate, type RouteObject, RouterProvider, useLocation } from 'react-router';
import '../data/draft/effects';
import { store } from '../data/draft/store';
import { Failure, NotFound } from './Failure';
import { ROOMS } from './rooms';
import { Shell } from './Shell';

const pages: RouteObject[] = ROOMS.flatMap(({ path, pages: own }) =>
  Object.entries(own).map(([below, Page]) => ({ path: `/${path}/${below}`, element: <Page /> })),
);

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      {
        errorElement: <Failure />,
        children: [
          { path: '/', element: <Navigate to="/table" replace /> },
          // A device that is in already needs no code.
          { path: '/enter', element: <Navigate to="/table" replace /> },
          ...pages,
          // The address of the Stove room in earlier versions.
          { path: '/fire/*', element: <FromFire /> },
          { path: '*', element: <NotFound /> },
        ],
      },
    ],
  },
]);

function FromFire() {
  const { pathname } = useLocation();
  return <Navigate to={pathname.replace('/fire', '/stove')} replace />;
}

export function App() {
  return (
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  );
}
