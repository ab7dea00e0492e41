import type {
  FormulaBody,
  FormulaWithVersions,
  IngredientRow,
  OwnIngredients,
  StoredAsk,
  StoredItem,
  Shopping,
  StockRow,
  StoreFormula,
  Use,
} from '@ember-fold/core/ledger';
import { api } from './api';

/** The Store's own part of the server data. */
export const storeApi = api.injectEndpoints({
  endpoints: (build) => ({
    ingredients: build.query<OwnIngredients, void>({ query: () => '/ingredients', providesTags: ['Ingredients'] }),
    saveIngredient: build.mutation<IngredientRow, IngredientRow>({
      query: (body) => ({ url: `/ingredients/${body.ingredient.id}`, method: 'PUT', body }),
      invalidatesTags: ['Ingredients', 'Shopping', 'Flours'],
    }),
    deleteIngredient: build.mutation<void, string>({
      query: (id) => ({ url: `/ingredients/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Ingredients', 'Shopping', 'Flours'],
    }),
    ingredientUses: build.query<Use[], string>({ query: (id) => `/ingredients/${id}/uses`, providesTags: ['Uses'] }),
    formulas: build.query<StoreFormula[], void>({ query: () => '/formulas', providesTags: ['Formulas'] }),
    formula: build.query<FormulaWithVersions, string>({
      query: (id) => `/formulas/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Formula', id }],
    }),
    formulaUses: build.query<Use[], string>({ query: (id) => `/formulas/${id}/uses`, providesTags: ['Uses'] }),
    makeFormula: build.mutation<FormulaWithVersions, { id: string; name: string; body: FormulaBody }>({
      query: (body) => ({ url: '/formulas', method: 'POST', body }),
      invalidatesTags: ['Formulas', 'Ingredients'],
    }),
    saveFormula: build.mutation<
      FormulaWithVersions,
      Pick<StoreFormula, 'id' | 'edition' | 'name' | 'archived' | 'body'>
    >({
      query: ({ id, ...body }) => ({ url: `/formulas/${id}`, method: 'PUT', body }),
      invalidatesTags: (_result, _error, { id }) => [
        'Formulas',
        { type: 'Formula', id },
        'Ingredients',
        'Shopping',
        'Uses',
      ],
    }),
    stock: build.query<StockRow[], void>({ query: () => '/store/stock', providesTags: ['Stock'] }),
    setStock: build.mutation<StockRow, StockRow>({
      query: ({ ingredientId, ...body }) => ({ url: `/store/stock/${ingredientId}`, method: 'PUT', body }),
      invalidatesTags: ['Stock', 'Shopping'],
    }),
    stored: build.query<StoredItem[], void>({ query: () => '/store/stored', providesTags: ['StoragePlan'] }),
    noteStored: build.mutation<{ id: string }, StoredAsk>({
      query: (body) => ({ url: '/store/stored', method: 'POST', body }),
      invalidatesTags: ['StoragePlan'],
    }),
    takeStored: build.mutation<{ id: string }, { id: string; amount: number }>({
      query: ({ id, amount }) => ({ url: `/store/stored/${id}/take`, method: 'POST', body: { amount } }),
      invalidatesTags: ['StoragePlan'],
    }),
    /** @param query what is bought for, as the server is asked */
    shopping: build.query<Shopping, string>({
      query: (query) => `/store/shopping${query === '' ? '' : `?${query}`}`,
      providesTags: ['Shopping'],
    }),
  }),
});
