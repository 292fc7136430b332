import { combineSlices, configureStore } from '@reduxjs/toolkit';
import { useDispatch } from 'react-redux';
import { webApi } from '@/api';

/** What is kept for the whole application; slices of features are put into it when these are opened. */
export const rootReducer = combineSlices(webApi);

export const store = configureStore({
  reducer: rootReducer,
  middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).concat(webApi.middleware),
});

export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
