import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { BASE, useReadPackedCatalogueQuery } from '@/api';
import { Broken } from './Broken';
import { ELSEWHERE, PAGES } from './pages';
import { Shell } from './Shell';
import { componentOf, useArrived } from './useArrived';

/** The whole application, at the address it is opened at. */
export const App = () => (
  // In one go: a page drawn in slices is begun afresh by every answer that comes meanwhile.
  <BrowserRouter basename={BASE === '' ? '/' : BASE} useTransitions={false}>
    <Unbroken />
  </BrowserRouter>
);

/** A screen that broke says so, and is left by going elsewhere. Where it met a part it does not know, it stands again once the catalogue does. */
function Unbroken() {
  const { pathname } = useLocation();
  const { version } = useReadPackedCatalogueQuery(undefined, { selectFromResult: ({ data }) => ({ version: data?.version }) });
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname, version]}>
      <Pages />
    </ErrorBoundary>
  );
}

function Pages() {
  const arrived = useArrived();
  if (!arrived) return <p className="text-pencil p-6">Opening the workroom…</p>;
  return (
    <Routes location={arrived}>
      <Route element={<Shell />}>
        {ELSEWHERE.map(([path, to]) => (
          <Route key={path} path={path} element={<Navigate to={to} replace />} />
        ))}
        {PAGES.map((page) => {
          const Component = componentOf(page);
          return <Route key={page.path} path={page.path} element={Component && <Component />} />;
        })}
      </Route>
    </Routes>
  );
}
