import { configureStore } from '@reduxjs/toolkit';
import { useDispatch } from 'react-redux';
import { webApi } from '@/api';

export const store = configureStore({
  reducer: { [webApi.reducerPath]: webApi.reducer },
  middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).concat(webApi.middleware),
});

export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
